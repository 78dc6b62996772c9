<?php

declare(strict_types=1);

namespace App\UseCase\Shell;

use App\Contract\Advice\AdviceDocument;
use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\DocumentReader;
use App\Contract\Reading\ReadingDocument;
use App\UseCase\Kept;
use App\UseCase\Logbook\KeepCurrentReading;
use App\UseCase\Outing\FindOutings;
use App\UseCase\Outing\WatchSeason;
use App\UseCase\Settings\KeepSettings;
use Kontrast\Rulebook\Adviser;
use Symfony\Component\Clock\ClockInterface;

/** What the page would ask for first: sent along with it, so that it need not ask. */
final readonly class FirstView
{
    public function __construct(
        private KeepSettings $settings,
        private KeepCurrentReading $current,
        private DocumentReader $reader,
        private Adviser $adviser,
        private WatchSeason $season,
        private FindOutings $outings,
        private ClockInterface $clock,
    ) {
    }

    /**
     * The settings and the reading being worked on with their versions, the advice on that reading as the page asks for it, and whether
     * the logbook has something to say; and when it was said, for a device that has kept it.
     *
     * @return array{settings: array{document: array<string, mixed>, version: int}, current: array{document: array<string, mixed>,
     *     version: int}|null, at: string, news: bool, advice: AdviceDocument|null}
     */
    public function show(): array
    {
        $settings = $this->settings->show();
        $current = $this->current->show();

        return [
            'settings' => self::entry($settings),
            'current' => null === $current ? null : self::entry($current),
            'at' => $this->clock->now()->format(\DateTimeInterface::ATOM),
            'news' => $this->hasNews(),
            'advice' => null === $current ? null : $this->advice($current, $settings),
        ];
    }

    /** Whether the logbook has something to say today: an outing that nobody ended, a moment of the season that has come or is near. */
    private function hasNews(): bool
    {
        $last = $this->outings->list(1)->documents[0] ?? null;
        if (null !== $last && null === $last['ended_at']) {
            return true;
        }
        foreach ($this->season->all() as $water) {
            if ([] !== $water->notices) {
                return true;
            }
        }

        return false;
    }

    /** @return AdviceDocument|null null where none can be given */
    private function advice(Kept $current, Kept $settings): ?AdviceDocument
    {
        $reading = $current->document['reading'] ?? null;
        if (!\is_array($reading)) {
            return null;
        }
        /** @var array<string, mixed> $reading */
        $asked = [
            ...$reading,
            'lead_free' => $settings->document['lead_free'] ?? false,
            'schools' => [...self::schools($settings->document), ...self::schools($reading)],
        ];
        try {
            $document = $this->reader->trusted($asked, ReadingDocument::class);
        } catch (InvalidDocument) {
            return null;
        }

        return AdviceDocument::of($this->adviser->advise($document->toReading()));
    }

    /**
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private static function schools(array $document): array
    {
        $schools = $document['schools'] ?? [];

        return \is_array($schools) ? $schools : [];
    }

    /** @return array{document: array<string, mixed>, version: int} */
    private static function entry(Kept $kept): array
    {
        return ['document' => $kept->document, 'version' => $kept->version];
    }
}
