<?php

declare(strict_types=1);

namespace App\UseCase\Shell;

use App\Contract\Advice\AdviceDocument;
use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\OutingSummaryDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Contract\Reading\ReadingDocument;
use App\Contract\Release\ReleaseDocument;
use App\Persistence\Kind\CurrentReadingKind;
use App\Persistence\Kind\SettingsKind;
use App\Persistence\ReleaseFile;
use App\UseCase\Advice\GiveAdvice;
use App\UseCase\Outing\OutingKind;
use App\UseCase\Outing\WatchSeason;
use App\UseCase\Saved;
use App\UseCase\Shelf;
use Symfony\Component\Clock\ClockInterface;

/** What the page would ask for first: sent along with it, so that it need not ask. */
final readonly class FirstView
{
    public function __construct(
        private Shelf $shelf,
        private DocumentReader $reader,
        private DocumentNormalizer $documents,
        private GiveAdvice $advice,
        private WatchSeason $season,
        private ClockInterface $clock,
        private ReleaseFile $release,
    ) {
    }

    /**
     * The settings and the reading being worked on with their versions, the advice on that reading as the page asks for it, and whether
     * the logbook has something to say; and when it was said, for a device that has kept it.
     *
     * @return array{settings: array{document: array<string, mixed>, version: int}, current: array{document: array<string, mixed>,
     *     version: int}|null, at: string, news: bool, release: ReleaseDocument, advice: AdviceDocument|null}
     */
    public function show(): array
    {
        $settings = $this->entry($this->shelf->single(SettingsKind::NAME));
        \assert(null !== $settings);
        $current = $this->entry($this->shelf->single(CurrentReadingKind::NAME));

        return [
            'settings' => $settings,
            'current' => $current,
            'at' => $this->clock->now()->format(\DateTimeInterface::ATOM),
            'news' => $this->hasNews(),
            'release' => $this->release->read(),
            'advice' => null === $current ? null : $this->advice($current['document'], $settings['document']),
        ];
    }

    /** Whether the logbook has something to say today: an outing that nobody ended, a moment of the season that has come or is near. */
    private function hasNews(): bool
    {
        $last = $this->shelf->page(OutingKind::NAME, 1)->documents[0] ?? null;
        if ($last instanceof OutingSummaryDocument && null === $last->ended_at) {
            return true;
        }
        foreach ($this->season->all() as $water) {
            if ([] !== $water->notices) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<string, mixed> $current
     * @param array<string, mixed> $settings
     *
     * @return AdviceDocument|null null where none can be given
     */
    private function advice(array $current, array $settings): ?AdviceDocument
    {
        $reading = $current['reading'] ?? null;
        if (!\is_array($reading)) {
            return null;
        }
        /** @var array<string, mixed> $reading */
        $asked = [
            ...$reading,
            'lead_free' => $settings['lead_free'] ?? false,
            'schools' => [...self::schools($settings), ...self::schools($reading)],
        ];
        try {
            $document = $this->reader->trusted($asked, ReadingDocument::class);
        } catch (InvalidDocument) {
            return null;
        }

        return $this->advice->advise($document);
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

    /** @return array{document: array<string, mixed>, version: int}|null */
    private function entry(?Saved $saved): ?array
    {
        return null === $saved ? null : ['document' => $this->documents->cells($saved->document), 'version' => $saved->version];
    }
}
