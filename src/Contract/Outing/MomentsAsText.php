<?php

declare(strict_types=1);

namespace App\Contract\Outing;

/** Writes a document that has moments in it as it is read, all by one clock. */
trait MomentsAsText
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $fields = [];
        foreach (get_object_vars($this) as $name => $value) {
            $isMoment = $value instanceof \DateTimeImmutable;
            $fields[(string) $name] = $isMoment ? $value->setTimezone(new \DateTimeZone('UTC'))->format(\DATE_ATOM) : $value;
        }

        return $fields;
    }
}
