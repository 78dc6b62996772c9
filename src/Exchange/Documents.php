<?php

declare(strict_types=1);

namespace App\Exchange;

use Symfony\Component\Serializer\Normalizer\NormalizerInterface;

/** Turns document objects into plain arrays, in the shape they were declared in. */
final readonly class Documents
{
    public function __construct(private NormalizerInterface $normalizer)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(object $document): array
    {
        $array = $this->normalizer->normalize($document, 'json');
        \assert(\is_array($array));

        /** @var array<string, mixed> $array */
        return $array;
    }
}
