<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Measure\Length;

/** Something the model sees in a build, in plain words, and whether it is as wanted. */
final readonly class Finding
{
    /** @param string $text a sentence; "{at}" stands for the distance */
    private function __construct(public string $about, public bool $asWanted, public string $text, public ?Length $at)
    {
    }

    public static function good(string $about, string $text, ?Length $at = null): self
    {
        return new self($about, true, $text, $at);
    }

    public static function amiss(string $about, string $text, ?Length $at = null): self
    {
        return new self($about, false, $text, $at);
    }
}
