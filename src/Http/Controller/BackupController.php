<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Backup\BackupDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Http\Answer;
use App\Http\LongWork;
use App\UseCase\Backup\MakeBackup;
use App\UseCase\Backup\RestoreBackup;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Everything stored, in and out. */
#[Route('/api/backup')]
final readonly class BackupController
{
    public function __construct(private MakeBackup $make, private RestoreBackup $restore, private Answer $answer)
    {
    }

    #[Route(methods: ['GET'])]
    #[Operation('backup', 'Everything stored, as one document', BackupDocument::class)]
    public function make(): Response
    {
        LongWork::begin();

        return $this->answer->long($this->make->write(...), 'application/json', 'kontrast-backup.json');
    }

    #[Route(methods: ['POST'])]
    #[Operation('restore', 'Restore everything from a backup, all or nothing; what was stored before is copied to a file next to the '
        .'database first', fields: [
            'waters' => 'integer', 'readings' => 'integer', 'parts' => 'integer', 'builds' => 'integer', 'trips' => 'integer',
            'outings' => 'integer', 'trials' => 'integer',
            'kept_in' => 'string',
        ])]
    public function restore(#[Payload(mostBytes: Payload::FILE_BYTES)] BackupDocument $backup): Response
    {
        LongWork::begin();

        return $this->answer->json($this->restore->restore($backup));
    }
}
