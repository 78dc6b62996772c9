<?php

declare(strict_types=1);

namespace App\Contract\Look;

use App\Contract\Error\Fault;
use App\Contract\Reader\LimitsLists;
use App\Contract\Reading\ReadingDocument;
use Kontrast\Material\OpticalPart;
use Kontrast\Water\Direction;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** What to look at, in which water and from where. */
#[OA\Schema(schema: 'LookRequest', additionalProperties: false)]
final readonly class LookRequestDocument implements LimitsLists
{
    private const MOST_PARTS = 500;
    private const MOST_PAIRS = 2000;

    /**
     * @param list<LookPartDocument> $parts
     * @param list<list<string>> $pairs
     */
    public function __construct(
        #[Assert\Valid]
        public ReadingDocument $reading,
        public Direction $from,
        #[OA\Property(maxItems: self::MOST_PARTS)]
        #[Assert\Valid]
        public array $parts,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'array', items: new OA\Items(type: 'string'), minItems: 2, maxItems: 2),
            maxItems: self::MOST_PAIRS,
        )]
        public array $pairs,
    ) {
    }

    public static function limits(): array
    {
        return ['parts' => self::MOST_PARTS, 'pairs' => self::MOST_PAIRS];
    }

    #[Assert\Callback]
    public function namesItsParts(ExecutionContextInterface $context): void
    {
        $ids = [];
        foreach ($this->parts as $i => $part) {
            if (isset($ids[$part->id])) {
                $says = 'Another part already has this id. Each part needs its own.';
                $context->buildViolation($says)->atPath("parts[$i].id")->setCode(Fault::TAKEN)->addViolation();
            }
            $ids[$part->id] = true;
        }
        foreach ($this->pairs as $i => $pair) {
            if (2 !== \count($pair)) {
                $context->buildViolation('A pair is a list of two part ids.')->atPath("pairs[$i]")->setCode('not_a_pair')->addViolation();
            }
            foreach ($pair as $k => $id) {
                if (!isset($ids[$id])) {
                    $says = 'There is no part with this id. Name the id of a part in "parts".';
                    $context->buildViolation($says)->atPath("pairs[$i][$k]")->setCode(Fault::NOT_FOUND)->addViolation();
                }
            }
        }
    }

    /** @return list<OpticalPart> */
    public function toParts(): array
    {
        return array_map(static fn (LookPartDocument $part): OpticalPart => $part->toPart(), $this->parts);
    }

    /** @return list<array{string, string}> */
    public function toPairs(): array
    {
        return array_map(static fn (array $pair): array => [$pair[0] ?? '', $pair[1] ?? ''], $this->pairs);
    }
}
