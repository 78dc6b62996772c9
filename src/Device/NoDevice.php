<?php

declare(strict_types=1);

namespace App\Device;

/** A device or a service that is not there, or does not answer as it should. */
final class NoDevice extends \RuntimeException
{
    public static function silent(DeviceName $device, string $address): self
    {
        return new self("No {$device->value} answers on $address. Start the simulated {$device->value} with {$device->command()}.");
    }

    public static function slow(DeviceName $device): self
    {
        return new self("The {$device->value} takes too long to answer. Turn it off and on, then measure again.");
    }

    public static function outOfRange(string $answer): self
    {
        return new self("The colorimeter measured “{$answer}”, which is impossible: X, Y and Z are between 0 and 150. Put it on its "
            .'white tile and calibrate it again.');
    }

    public static function impossibleWater(string $answer): self
    {
        return new self("The water probe measured “{$answer}”, which is impossible. Rinse it and measure again, or enter the value "
            .'yourself.');
    }

    public static function said(DeviceName $device, string $answer): self
    {
        return new self("The {$device->value} answered “".mb_strimwidth($answer, 0, 60, '…').'”, which is not a measurement.');
    }

    public static function noForecast(string $address): self
    {
        return new self("No forecast service answers at $address. Start the simulated forecast with ./kontrast forecast, or enter the sky "
            .'yourself.');
    }

    public static function slowForecast(): self
    {
        return new self('The forecast service takes too long to answer. Try again later, or enter the sky yourself.');
    }

    public static function strangeForecast(string $why): self
    {
        return new self("The forecast cannot be used: $why. Enter the sky yourself.");
    }
}
