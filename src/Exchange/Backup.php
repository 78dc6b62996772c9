<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Api\Document\BackupDocument;
use App\Api\Document\SwatchDocument;
use App\Entity\Made;
use App\Entity\Swatch;
use App\Storage\BinKeeper;
use App\Storage\Keeper;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Filesystem\Filesystem;

/** Puts everything kept into one document, and puts everything back from one. */
final readonly class Backup
{
    /** Those that refer to others before those they refer to. */
    private const TABLES = ['kept_reading', 'desk', 'settings', 'water', 'bin_part', 'saved_build', 'swatch', 'made'];

    public function __construct(
        private Notebook $notebook,
        private Keeper $keeper,
        private BinKeeper $bin,
        private DocumentReader $reader,
        private EntityManagerInterface $entities,
        private string $keptIn,
    ) {
    }

    /** @return array<string, mixed> a backup document */
    public function make(): array
    {
        $settings = $this->keeper->settings();

        return [
            'kontrast' => BackupDocument::VERSION,
            'notebook' => $this->notebook->export(),
            'settings' => [] === $settings ? new \stdClass() : $settings,
            'parts' => array_map(static fn ($part): array => array_diff_key(BinKeeper::row($part), ['version' => 0]), $this->bin->parts()),
            'made' => array_map(static fn (Made $made): array => ['what' => $made->what(), 'count' => $made->count(), 'cost' => $made->cost(), 'price' => $made->price(), 'drawn' => [] === $made->drawn() ? new \stdClass() : $made->drawn(), 'made_at' => $made->madeAt()->format(\DateTimeInterface::ATOM)], $this->entities->getRepository(Made::class)->findBy(['undoneAt' => null], ['madeAt' => 'ASC', 'id' => 'ASC'])),
            'swatches' => array_map(static fn (Swatch $swatch): array => ['name' => $swatch->name(), 'hex' => $swatch->hex()], $this->bin->swatches()),
        ];
    }

    /**
     * Puts everything back as the document has it, as one transaction. What was there is written to a file first.
     *
     * @return array{waters: int, readings: int, builds: int, parts: int, kept_in: string}
     *
     * @throws InvalidDocument
     */
    public function restore(string $json): array
    {
        $data = DocumentReader::decode($json);
        $backup = $this->reader->fromArray($data, BackupDocument::class);
        $file = $this->keptIn.'/before-restore-'.(new \DateTimeImmutable())->format('Ymd-His-v').'.json';
        (new Filesystem())->dumpFile($file, json_encode($this->make(), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR));
        $notebook = $data['notebook'] ?? [];
        \assert(\is_array($notebook));

        return $this->keeper->write(function () use ($backup, $notebook, $file): array {
            foreach (self::TABLES as $table) {
                $this->entities->getConnection()->executeStatement("DELETE FROM $table");
            }
            $this->entities->clear();
            /** @var array<string, mixed> $notebook */
            $counts = $this->notebook->import($notebook);
            $this->keeper->choose($backup->settings);
            $this->bin->add($backup->parts);
            $this->bin->addSwatches(array_map(static fn (SwatchDocument $swatch): array => ['name' => $swatch->name, 'hex' => $swatch->hex], $backup->swatches));

            foreach ($backup->made as $made) {
                $this->entities->persist(new Made($made->what, $made->count, $made->cost, $made->price, $made->drawn, $made->made_at));
            }

            return [...$counts, 'parts' => \count($backup->parts), 'kept_in' => basename($file)];
        });
    }
}
