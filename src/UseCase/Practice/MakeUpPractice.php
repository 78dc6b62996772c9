<?php

declare(strict_types=1);

namespace App\UseCase\Practice;

use App\Contract\Error\InvalidDocument;
use App\Contract\Practice\FlawedDocument;
use App\Contract\Practice\GuessDocument;
use App\Contract\Practice\PracticeRequestDocument;
use App\Contract\Practice\PracticeSessionDocument;
use App\Contract\Practice\PracticeWaterDocument;
use App\Contract\Practice\SightingDocument;
use App\Contract\Practice\WaterColumnDocument;
use App\Contract\Reading\ReadingDocument;
use App\UseCase\Inventory\Stock;
use Kontrast\Inventory\Inventory;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Practice\Chooser;
use Kontrast\Practice\Flawed;
use Kontrast\Practice\Lesson;
use Kontrast\Practice\Mistake;
use Kontrast\Practice\Mistakes;
use Kontrast\Practice\Quiz;
use Kontrast\Practice\Seeing;
use Kontrast\Practice\Sighting;
use Kontrast\Practice\WaterColumn;
use Kontrast\Practice\Waters;
use Kontrast\Rulebook\Engine;
use Kontrast\Vision\Viewing;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/** Makes up questions to practice on, by the standard rules, each with its answer and what every other answer is worth. */
final readonly class MakeUpPractice
{
    public function __construct(
        private Engine $standard,
        private ReflectanceFitter $reflectances,
        private Stock $stock,
        private FollowPractice $progress,
    ) {
    }

    /** @throws InvalidDocument where nothing owned makes a lure */
    public function session(PracticeRequestDocument $request): PracticeSessionDocument
    {
        return match ($request->lesson) {
            Lesson::Tie => new PracticeSessionDocument($request->seed, waters: $this->waters($request)),
            Lesson::Seeing => new PracticeSessionDocument($request->seed, sightings: $this->sightings($request)),
            Lesson::Visibility => new PracticeSessionDocument($request->seed, guesses: $this->guesses($request)),
            Lesson::Mistake => new PracticeSessionDocument($request->seed, flawed: $this->flawed($request)),
        };
    }

    /**
     * @return list<PracticeWaterDocument>
     *
     * @throws InvalidDocument
     */
    private function waters(PracticeRequestDocument $request): array
    {
        [$inventory, $owned] = $request->owned ? $this->stock->judged() : [null, []];
        $chooser = new Chooser($this->standard, $this->reflectances, $inventory);
        $level = $request->level ?? $this->progress->progress()->level();
        $waters = [];
        $quiz = new Quiz($this->standard, $this->reflectances, $inventory);
        foreach ($quiz->near($level, $request->seed, $request->count, $request->first) as $i => $question) {
            $choices = $chooser->choices($question);
            if ([] !== $choices) {
                $column = WaterColumn::of($question->reading, $i % 3 / 3);
                $waters[] = PracticeWaterDocument::of($question, $column, $choices, $owned);
            }
        }

        return [] === $waters && $inventory instanceof Inventory
            ? throw InvalidDocument::fault('owned', 'Your parts make no whole lure yet. Add parts, or practice with any.')
            : $waters;
    }

    /** @return list<SightingDocument> */
    private function sightings(PracticeRequestDocument $request): array
    {
        $ratio = $this->progress->progress()->sharpness()->threshold();
        $drawn = (new Seeing($this->standard, $this->reflectances))->draw($request->seed, $request->count, $ratio);

        return array_map(fn (Sighting $sighting): SightingDocument => SightingDocument::of(
            $sighting,
            Viewing::in(Scene::of($sighting->reading, Direction::Side), $this->reflectances),
            $sighting->lookedAtFrom()->inInches(),
        ), $drawn);
    }

    /** @return list<GuessDocument> */
    private function guesses(PracticeRequestDocument $request): array
    {
        return array_map(static fn (array $one): GuessDocument => new GuessDocument(
            $one['id'],
            ReadingDocument::of($one['reading']),
            WaterColumnDocument::of($one['column']),
        ), (new Waters($this->standard))->draw($request->seed, $request->count));
    }

    /** @return list<FlawedDocument> */
    private function flawed(PracticeRequestDocument $request): array
    {
        $first = array_values(array_filter(
            Mistake::cases(),
            static fn (Mistake $mistake): bool => \in_array($mistake->fact(), $request->first, true),
        ));

        return array_map(
            static fn (Flawed $flawed): FlawedDocument => FlawedDocument::of($flawed),
            (new Mistakes($this->standard))->draw($request->seed, $request->count, $first),
        );
    }
}
