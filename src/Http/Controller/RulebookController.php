<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Advice\RuleConflictDocument;
use App\Contract\Advice\RuleDocument;
use App\Contract\Error\NotFound;
use App\Contract\OpenApi\Operation;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reading\ReadingDocument;
use App\Http\Answer;
use App\UseCase\Advice\CurrentRules;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\ReadingExamples;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\RuleConflict;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The rules, laid open. */
#[Route('/api/rules')]
final readonly class RulebookController
{
    public function __construct(
        private CurrentRules $rules,
        private DocumentNormalizer $documents,
        private Answer $answer,
    ) {
    }

    #[Route(methods: ['GET'])]
    #[Operation('rules', 'Every rule, in order', RuleDocument::class, isList: true, isCached: true)]
    public function list(Request $request): Response
    {
        $rules = array_values($this->rules->wholeBook()->rules);

        return $this->answer->cached(array_map(static fn (Rule $rule): RuleDocument => RuleDocument::of($rule), $rules), $request);
    }

    #[Route('/{id}', methods: ['GET'])]
    #[Operation('rule', 'One rule', RuleDocument::class, errors: [404], isCached: true)]
    public function show(string $id, Request $request): Response
    {
        return $this->answer->cached(RuleDocument::of($this->rule($id)), $request);
    }

    #[Route('/{id}/conflicts', methods: ['GET'])]
    #[Operation(
        'meetings',
        'The rules this one conflicts with, most frequent first',
        RuleConflictDocument::class,
        isList: true,
        errors: [404],
    )]
    public function conflicts(string $id): Response
    {
        $conflicts = $this->examples()->conflicts($this->rule($id));

        return $this->answer->json(array_map(
            static fn (RuleConflict $conflict): RuleConflictDocument => RuleConflictDocument::of($conflict),
            $conflicts,
        ));
    }

    #[Route('/{id}/reading', methods: ['GET'])]
    #[Operation('decidingReading', 'A reading in which this rule decides', ReadingDocument::class, errors: [404])]
    public function reading(string $id): Response
    {
        $reading = $this->examples()->deciding($this->rule($id))
            ?? throw NotFound::because('No reading was found where this rule decides.');

        return $this->answer->json($this->documents->toStored(ReadingDocument::of($reading)));
    }

    private function examples(): ReadingExamples
    {
        return new ReadingExamples(new Engine($this->rules->wholeBook()));
    }

    private function rule(string $id): Rule
    {
        return $this->rules->wholeBook()->rules[$id] ?? throw NotFound::because("There is no rule $id.");
    }
}
