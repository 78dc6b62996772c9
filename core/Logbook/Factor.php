<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\HasLabel;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Measure\Said;
use Kontrast\Reading\Bank;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;

/** What stints are compared by: how the lure was built, and in which water and light it was fished. */
enum Factor: string
{
    use HasLabel;

    case Finish = 'finish';
    case Skirt = 'skirt';
    case Trailer = 'trailer';
    case Pairing = 'pairing';
    case Set = 'set';
    case Style = 'style';
    case Lure = 'lure';
    case Weight = 'weight';
    case Clarity = 'clarity';
    case Sky = 'sky';
    case Tint = 'tint';
    case Bank = 'bank';
    case Season = 'season';
    case Sun = 'sun';
    case Hour = 'hour';
    case Angler = 'angler';

    /** What the angler chose, part by part: only these are compared. */
    public function isChosen(): bool
    {
        return \in_array($this, [self::Finish, self::Skirt, self::Trailer, self::Style, self::Lure, self::Weight], true);
    }

    /** @return list<string> */
    public static function chosenWords(): array
    {
        $chosen = array_filter(self::cases(), static fn (self $factor): bool => $factor->isChosen());

        return array_values(array_map(static fn (self $factor): string => $factor->value, $chosen));
    }

    /** Whether there is such a level: a word of its own, or for a figure any. */
    public function knows(string $level): bool
    {
        return \in_array($this, [self::Weight, self::Clarity, self::Hour], true) ? '' !== $level : null !== $this->caseOf($level);
    }

    /** A level of it, as it is called in a sentence. */
    public function levelLabel(string $level): string
    {
        return self::Weight === $this && str_ends_with($level, ' oz')
            ? Said::mark($level)
            : $this->caseOf($level)?->label() ?? str_replace('_', ' ', $level);
    }

    private function caseOf(string $level): Finish|Colour|Pairing|LureSet|TrailerStyle|LureKind|Sky|Tint|Bank|Season|SunBand|Angler|null
    {
        return match ($this) {
            self::Finish => Finish::tryFrom($level),
            self::Skirt, self::Trailer => Colour::tryFrom($level),
            self::Pairing => Pairing::tryFrom($level),
            self::Set => LureSet::tryFrom($level),
            self::Style => TrailerStyle::tryFrom($level),
            self::Lure => LureKind::tryFrom($level),
            self::Sky => Sky::tryFrom($level),
            self::Tint => Tint::tryFrom($level),
            self::Bank => Bank::tryFrom($level),
            self::Season => Season::tryFrom($level),
            self::Sun => SunBand::tryFrom($level),
            self::Angler => Angler::tryFrom($level),
            self::Weight, self::Clarity, self::Hour => null,
        };
    }

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::Finish->value => 'blade finish',
            self::Skirt->value => 'skirt color',
            self::Trailer->value => 'trailer color',
            self::Style->value => 'trailer style',
            self::Set->value => 'blade, skirt and trailer as a set',
            self::Lure->value => 'type of lure',
            self::Bank->value => 'kind of bank',
            self::Sun->value => 'height of the sun',
            self::Hour->value => 'hour of the day',
        ];
    }
}
