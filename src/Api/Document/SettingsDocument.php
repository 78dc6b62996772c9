<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;

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

    #[OA\Property(ref: SchoolsDocument::class)]
    public SchoolsDocument $schools;

    public function __construct()
    {
        $this->schools = new SchoolsDocument();
    }
}
