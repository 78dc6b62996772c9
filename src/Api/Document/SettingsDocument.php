<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The angler's standing choices. */
#[OA\Schema(schema: 'Settings', additionalProperties: false, required: ['units', 'theme'])]
final class SettingsDocument
{
    #[OA\Property(type: 'string', enum: Units::class)]
    public Units $units = Units::Us;

    #[OA\Property(type: 'string', enum: Theme::class)]
    public Theme $theme = Theme::Paper;

    #[OA\Property(description: 'No pick or part of lead.')]
    public bool $lead_free = false;

    #[OA\Property(nullable: true, exclusiveMinimum: true, minimum: 0, maximum: 20, description: 'Turns of the spool to one of the handle.')]
    #[Assert\GreaterThan(0, message: '{{ value }} is not allowed here. A gear ratio is more than 0.')]
    #[Assert\LessThanOrEqual(20, message: '{{ value }} is not allowed here. A gear ratio is at most 20.')]
    public ?float $gear_ratio = null;

    #[OA\Property(nullable: true, exclusiveMinimum: true, minimum: 0, maximum: 6, description: 'Diameter of the line on the spool, inches.')]
    #[Assert\GreaterThan(0, message: '{{ value }} is not allowed here. A spool is more than 0 in across.')]
    #[Assert\LessThanOrEqual(6, message: '{{ value }} is not allowed here. A spool is at most 6 in across.')]
    public ?float $spool_in = null;

    #[OA\Property(nullable: true, minimum: 0, maximum: 10000, description: 'Of a bought lure, in your own money.')]
    #[Assert\Range(min: 0, max: 10000, notInRangeMessage: '{{ value }} is not allowed here. A price runs from 0 to 10000.')]
    public ?float $bought_price = null;

    #[OA\Property(ref: SchoolsDocument::class)]
    public SchoolsDocument $schools;

    public function __construct()
    {
        $this->schools = new SchoolsDocument();
    }
}
