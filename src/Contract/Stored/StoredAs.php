<?php

declare(strict_types=1);

namespace App\Contract\Stored;

/** What is stored as a document, by the name that it has where one cannot be read. */
enum StoredAs: string
{
    case Reading = 'reading';
    case Settings = 'settings';
    case Part = 'part';
    case Build = 'build';
    case Workbench = 'workbench';
    case Trip = 'trip';
    case Box = 'box';
    case Stint = 'stint';
    case Trial = 'trial';
    case Name = 'name';
    case PracticeAnswer = 'practice_answer';

    /** What has one shape for all that is stored of it: an outing is a box and stints. */
    public function shapedAs(): string
    {
        return match ($this) {
            self::Box, self::Stint => 'outing',
            default => $this->value,
        };
    }
}
