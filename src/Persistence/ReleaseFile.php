<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Contract\Release\ReleaseDocument;

/** What bin/version says of this program: written into a release when it is made, and by ./kontrast in a checkout. */
final class ReleaseFile
{
    private ?ReleaseDocument $release = null;

    public function __construct(private readonly string $releaseFile)
    {
    }

    public function read(): ReleaseDocument
    {
        return $this->release ??= $this->parsed();
    }

    private function parsed(): ReleaseDocument
    {
        $text = is_file($this->releaseFile) ? file_get_contents($this->releaseFile) : false;
        $facts = json_decode((string) $text, true);
        if (!\is_array($facts)) {
            return ReleaseDocument::unreleased();
        }
        $said = static fn (string $name): string => \is_string($facts[$name] ?? null) ? $facts[$name] : '';
        $news = \is_array($facts['news'] ?? null) ? $facts['news'] : [];

        return new ReleaseDocument(
            '' === $said('version') ? ReleaseDocument::UNRELEASED : $said('version'),
            $said('commit'),
            $said('date'),
            array_values(array_filter($news, \is_string(...))),
        );
    }
}
