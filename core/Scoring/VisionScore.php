<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Intent;
use Kontrast\Lure\Pairing;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\BuildGoal;
use Kontrast\Rulebook\PartGoal;
use Kontrast\Vision\Pair;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Separation;
use Kontrast\Vision\Viewing;

/** What the model says of parts down there: how far each does what it is for, and how far each pair reads as wanted. */
final class VisionScore
{
    /** Contrast at the judging distance by which a part is half way from unseen to plain. (Chosen.) */
    private const HALF_SEEN = 0.3;
    /** JND by which a part is half way off the food's own colour. (Chosen.) */
    private const HALF_UNLIKE = 4.0;

    /** @var non-empty-list<Colour> */
    private readonly array $foodColours;
    /** @var list<ReducedPart> */
    private array $food = [];
    private readonly float $judging;

    public function __construct(private readonly Viewing $viewing, private readonly BuildGoal $wanted, Reading $reading)
    {
        $this->judging = $viewing->scene->judgingDistance()->inMetres();
        $this->foodColours = self::coloursOf($reading);
    }

    public function reduce(OpticalPart $part): ReducedPart
    {
        return ReducedPart::of($part, $this->viewing);
    }

    /** What decides how far a part does what it is for, beside the scene. */
    public function asked(PartGoal $goal): string
    {
        return PartGoal::LikeForage === $goal
            ? implode(' ', array_map(static fn (Colour $colour): string => $colour->value, $this->foodColours))
            : $goal->name;
    }

    /** How far a part does what it is for, 0 to 1. A blade is judged at its glint where the sun reaches it. */
    public function meets(PartGoal $goal, ReducedPart $part): float
    {
        $contrast = ($part->glint ?? $part->steady)->contrast($this->judging);

        return match ($goal) {
            PartGoal::LeastContrast => 1 / (1 + abs($contrast) / self::HALF_SEEN),
            PartGoal::FarthestSeen => abs($contrast) / (abs($contrast) + self::HALF_SEEN),
            PartGoal::Darkest => max(0.0, min(1.0, -$part->againstWater())),
            PartGoal::LikeForage => $this->likeForage($part),
        };
    }

    /**
     * JND between a skirt and a trailer, as a pairing takes them: base with base where they should be one, else with whatever of the
     * trailer stands out most.
     *
     * @param non-empty-list<ReducedPart> $trailer
     */
    public function apart(ReducedPart $skirt, array $trailer): float
    {
        if ($this->pairsBases()) {
            return Pair::farther($skirt, $trailer[0]);
        }
        $most = 0.0;
        foreach ($trailer as $part) {
            $most = max($most, Pair::farther($skirt, $part));
        }

        return $most;
    }

    /** Whether a pairing looks at base and base alone. */
    public function pairsBases(): bool
    {
        return Pairing::Match === $this->wanted->ifPaired || Pairing::Tonal === $this->wanted->ifPaired;
    }

    /** How well a pair that many JND apart reads as wanted: 1 within what is wanted, falling off on either side. */
    public function pairing(float $jnd): float
    {
        return match ($this->wanted->ifPaired) {
            Pairing::Match => Separation::MOST_ONE / max($jnd, Separation::MOST_ONE),
            Pairing::Tonal => Separation::MOST_TONAL / max($jnd, Separation::MOST_TONAL),
            Pairing::Accent => min($jnd, Separation::MOST_ONE) / Separation::MOST_ONE,
            Pairing::Contrast => min($jnd, Separation::MOST_TONAL) / Separation::MOST_TONAL,
        };
    }

    /** How well the blade stands off the skirt, or keeps to it, as the intent asks. */
    public function bladeOffSkirt(ReducedPart $skirt, ReducedPart $blade): float
    {
        $jnd = Pair::farther($skirt, $blade);

        return match ($this->wanted->intent) {
            Intent::StandOut, Intent::TriggerStrike => min(1.0, $jnd / Separation::MOST_TONAL),
            Intent::BlendIn => min(1.0, Separation::MOST_TONAL / max($jnd, 1e-9)),
            default => 1.0,
        };
    }

    private function likeForage(ReducedPart $part): float
    {
        $least = \INF;
        foreach ($this->food() as $food) {
            $least = min($least, Pair::farther($part, $food));
        }

        return 1 / (1 + max(0.0, $least - Separation::MOST_ONE) / self::HALF_UNLIKE);
    }

    /** @return list<ReducedPart> */
    private function food(): array
    {
        return [] !== $this->food ? $this->food : $this->food = array_map(
            fn (Colour $word): ReducedPart => $this->reduce(
                OpticalPart::matte($word->value, Srgb::hex(Palette::hex($word)), Palette::fluorescence($word)),
            ),
            $this->foodColours,
        );
    }

    /** @return non-empty-list<Colour> seen on the forage, or what that forage usually is (F2 to F6, F11), main kind first */
    private static function coloursOf(Reading $reading): array
    {
        if ([] !== $reading->forageColours) {
            return $reading->forageColours;
        }
        $colours = self::usual($reading->mainForage(), $reading->redCrawfish);
        foreach ($reading->forageAlso as $also) {
            foreach (self::usual($also, $reading->redCrawfish) as $colour) {
                if (!\in_array($colour, $colours, true)) {
                    $colours[] = $colour;
                }
            }
        }

        return $colours;
    }

    /** @return non-empty-list<Colour> */
    private static function usual(Forage $forage, bool $redCrawfish): array
    {
        return match ($forage) {
            Forage::Shad => [Colour::White, Colour::Pearl, Colour::Smoke],
            Forage::Bluegill => [Colour::GreenPumpkin, Colour::Gold],
            Forage::Crawfish => $redCrawfish
                ? [Colour::GreenPumpkin, Colour::Red, Colour::Orange]
                : [Colour::GreenPumpkin, Colour::Brown],
            Forage::Perch => [Colour::Yellow, Colour::Chartreuse],
            Forage::GoldenShiner => [Colour::Gold],
            Forage::Crappie => [Colour::Smoke, Colour::Black],
            Forage::Unknown => [Colour::GreenPumpkin, Colour::Black],
        };
    }
}
