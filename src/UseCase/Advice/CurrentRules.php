<?php

declare(strict_types=1);

namespace App\UseCase\Advice;

use App\Contract\Reading\ReadingDocument;
use App\Persistence\ChoicesOfAdvice;
use App\UseCase\Outing\AnalyzeLogbook;
use Kontrast\Logbook\LogRules;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\LureRanking;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Trust;
use Symfony\Contracts\Service\ResetInterface;

/**
 * The rules that advise: the standard ones, the log's own on the questions where the angler lets it have a say, and what the angler
 * trusts, without those that the angler does not believe. They are read when they are first asked for, and stay the same until the request
 * is over.
 */
final class CurrentRules implements ResetInterface
{
    private ?Engine $engine = null;
    private ?Rulebook $wholeBook = null;
    /** @var array{list<SchoolQuestion>, list<array{Slot, string}>, list<string>}|null */
    private ?array $chosen = null;

    public function __construct(
        private readonly ChoicesOfAdvice $choices,
        private readonly AnalyzeLogbook $log,
        private readonly Engine $standard,
    ) {
    }

    public function engine(): Engine
    {
        return $this->engine ??= $this->read();
    }

    public function adviser(): Adviser
    {
        return new Adviser($this->engine());
    }

    public function ranking(): LureRanking
    {
        return new LureRanking($this->engine());
    }

    /** Every rule there is for this angler, those that are not believed among them: what can be put on again is still to be read. */
    public function wholeBook(): Rulebook
    {
        return $this->wholeBook ??= $this->readWholeBook();
    }

    /** Another one where the rules may be others. */
    public function fingerprint(): string
    {
        $chosen = $this->chosen();

        return hash('xxh128', serialize([$chosen, [] === $chosen[0] ? null : $this->log->analysis()->schools]));
    }

    /** With the kind of lure that suits the water best where any will do. */
    public function settle(ReadingDocument $document): Reading
    {
        $kind = $document->lure->kind();
        if (null !== $kind) {
            return $document->toReading($kind);
        }
        $reading = $document->toReading(LureKind::Jig);

        return $reading->with(lure: $this->ranking()->best($reading));
    }

    public function reset(): void
    {
        $this->engine = $this->wholeBook = $this->chosen = null;
    }

    private function read(): Engine
    {
        [, , $doubted] = $this->chosen();
        $book = $this->wholeBook()->doubting($doubted);

        return $book === $this->standard->book ? $this->standard : new Engine($book);
    }

    private function readWholeBook(): Rulebook
    {
        [$questions, $trusted] = $this->chosen();
        $book = $this->standard->book;

        return $book->with([
            ...([] === $questions ? [] : LogRules::derive($book, $this->log->analysis()->schools, $questions)),
            ...Trust::rules($trusted),
        ]);
    }

    /** @return array{list<SchoolQuestion>, list<array{Slot, string}>, list<string>} as ChoicesOfAdvice has them */
    private function chosen(): array
    {
        return $this->chosen ??= $this->choices->read();
    }
}
