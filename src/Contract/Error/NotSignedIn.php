<?php

declare(strict_types=1);

namespace App\Contract\Error;

/** Whoever asks has not shown that they know the pass phrase. What is wrong with a wrong one is not told. */
final class NotSignedIn extends \RuntimeException
{
    public static function first(): self
    {
        return new self('Sign in first.');
    }

    public static function wrongPhrase(): self
    {
        return new self('This is not the pass phrase.');
    }
}
