<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Measure\Length;
use Kontrast\Reading\Bank;
use Kontrast\Reading\ClarityBand;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;

/** What somebody saw of a water and its light: null where nobody looked. */
final readonly class SeenWater
{
    /**
     * @param Season       $season as it was told, else by the date
     * @param Reading|null $whole  where all of it was seen that decides what one ties
     */
    public function __construct(
        public ?Length $visibility,
        public ?Tint $tint,
        public ?Sky $sky,
        public Season $season,
        public ?Reading $whole,
        public ?Bank $bank = null,
    ) {
    }

    /** Whoever takes a reading looks at all of it. */
    public static function of(Reading $reading): self
    {
        return new self($reading->visibility, $reading->tint, $reading->sky, $reading->season, $reading);
    }

    public function clarity(): ?ClarityBand
    {
        return null === $this->visibility ? null : ClarityBand::of($this->visibility);
    }

    /** Water and light that were alike, in one word each; null where one of them is not known: that is like nothing. */
    public function stratum(): ?string
    {
        $clarity = $this->clarity();
        if (null === $clarity || null === $this->tint || null === $this->sky) {
            return null;
        }

        return implode(' ', [$clarity->value, $this->tint->value, SkyBrightness::of($this->sky)->value, $this->season->value]);
    }
}
