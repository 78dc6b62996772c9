<?php

declare(strict_types=1);

namespace App\Device;

/** A device that is not there, or speaks another language. */
final class NoDevice extends \RuntimeException
{
    public static function silent(int $port): self
    {
        return new self("No colorimeter answers on 127.0.0.1:$port. Start the simulated one with ./kontrast colorimeter.");
    }

    public static function slow(): self
    {
        return new self('The colorimeter takes too long to answer. Switch it off and on again, then measure anew.');
    }

    public static function outOfRange(string $answer): self
    {
        return new self("The colorimeter measured “{$answer}”, which no plastic can be: X, Y and Z lie between 0 and 150. Set it on its "
            .'white tile anew.');
    }

    public static function said(string $answer): self
    {
        return new self('The colorimeter answered “'.mb_strimwidth($answer, 0, 60, '…').'”, which is no reading.');
    }
}
