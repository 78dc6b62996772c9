<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\Moment;
use Kontrast\Logbook\MomentNotice;
use OpenApi\Attributes as OA;

/** A moment that has come in the last days, or is near. */
#[OA\Schema(schema: 'SeasonNotice', additionalProperties: false, required: ['moment', 'has_come', 'date', 'surface_f', 'meaning', 'facts'])]
final readonly class SeasonNoticeDocument
{
    /** @param list<string> $facts */
    public function __construct(
        #[OA\Property(type: 'string', enum: Moment::class)]
        public Moment $moment,
        #[OA\Property]
        public bool $has_come,
        #[OA\Property(description: 'When it came, or the day of the last temperature.')]
        public string $date,
        #[OA\Property]
        public float $surface_f,
        #[OA\Property(description: 'What it means for what is tied on.')]
        public string $meaning,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $facts,
    ) {
    }

    public static function of(MomentNotice $notice): self
    {
        return new self(
            $notice->moment,
            $notice->hasCome,
            $notice->date,
            $notice->fahrenheit,
            $notice->moment->meaning(),
            $notice->moment->facts(),
        );
    }
}
