<?php

declare(strict_types=1);

namespace App\Http;

use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\DocumentNormalizer;
use Psr\Log\LoggerInterface;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Uid\Uuid;

/** Answers with a line of JSON for every word of progress, and one for the outcome. Who hangs up cancels the work. */
final readonly class ProgressStream
{
    public function __construct(private DocumentNormalizer $documents, private LoggerInterface $logger)
    {
    }

    /** @param callable(callable(int, int): void): array<string, mixed> $work is told how to report so many of how many */
    public function stream(callable $work): StreamedResponse
    {
        return new StreamedResponse(function () use ($work): void {
            ignore_user_abort(true);
            try {
                $this->tell($work($this->progress(...)));
            } catch (Cancelled) {
                $this->logger->info('Long work was canceled. Nothing was stored.');
            } catch (InvalidDocument $invalid) {
                $this->tell(['problem' => implode("\n", $invalid->lines())]);
            } catch (\Throwable $error) {
                $reference = Uuid::v7()->toBase58();
                $this->logger->error('Long work broke off ({reference}).', ['exception' => $error, 'reference' => $reference]);
                $this->tell(['problem' => "Something went wrong inside the program. Nothing was stored. Look in the log for $reference."]);
            }
        }, 200, ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no']);
    }

    private function progress(int $done, int $of): void
    {
        $this->tell(['done' => $done, 'of' => $of]);
        if (1 === connection_aborted()) {
            throw new Cancelled();
        }
    }

    private function tell(mixed $line): void
    {
        echo json_encode($this->documents->written($line), \JSON_THROW_ON_ERROR)."\n";
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }
}
