<?php

declare(strict_types=1);

namespace App\Device;

/** The time zone this computer is set to: PHP takes UTC where its own settings name none. */
final class MachineZone
{
    /**
     * @param string $said      what TZ says, empty where it says nothing
     * @param string $localtime where the system keeps its clock, a link into the zone files
     *
     * @return string the name of a zone that PHP knows; UTC where none is found
     */
    public static function name(string $said, string $localtime = '/etc/localtime'): string
    {
        $linked = is_link($localtime) ? preg_replace('~^.*zoneinfo/(posix/)?~', '', (string) readlink($localtime)) : null;
        foreach ([ltrim($said, ':'), $linked] as $name) {
            if (null !== $name && \in_array($name, timezone_identifiers_list(\DateTimeZone::ALL_WITH_BC), true)) {
                return $name;
            }
        }

        return 'UTC';
    }
}
