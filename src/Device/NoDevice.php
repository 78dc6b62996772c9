<?php

declare(strict_types=1);

namespace App\Device;

/** A device that is not there, or speaks another language. */
final class NoDevice extends \RuntimeException
{
    public static function silent(int $port): self
    {
        return new self("No colorimeter answers on 127.0.0.1:$port. Start the simulated colorimeter with ./kontrast colorimeter.");
    }

    public static function slow(): self
    {
        return new self('The colorimeter takes too long to answer. Turn it off and on, then measure again.');
    }

    public static function outOfRange(string $answer): self
    {
        return new self("The colorimeter measured “{$answer}”, which is impossible: X, Y and Z are between 0 and 150. Put it on its "
            .'white tile and calibrate it again.');
    }

    public static function said(string $answer): self
    {
        return new self('The colorimeter answered “'.mb_strimwidth($answer, 0, 60, '…').'”, which is not a measurement.');
    }
}
