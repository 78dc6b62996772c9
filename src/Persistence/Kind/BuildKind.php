<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Logbook\SavedBuildDocument;
use App\Contract\Stored\StoredAs;
use App\Persistence\Entity\SavedBuild;
use App\Persistence\Entity\Stored;

/**
 * A build saved under a name.
 *
 * @extends Kind<SavedBuild, SavedBuildDocument>
 */
final readonly class BuildKind extends Kind
{
    public const NAME = 'builds';

    public function __construct(private Documents $documents)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'build',
            SavedBuild::class,
            SavedBuildDocument::class,
            shape: new Shape(StoredAs::Build, CompositionDocument::class, in: 'build'),
            order: ['name' => 'ASC', 'id' => 'ASC'],
            orderInWords: 'by name',
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): SavedBuild
    {
        $stored = $this->documents->stored($document->build, $this->shape());
        if (null === $known) {
            return new SavedBuild($document, $stored);
        }
        $known->replace($document, $stored);

        return $known;
    }

    public function documentOf(Stored $one, bool $isWhole = false): SavedBuildDocument
    {
        return new SavedBuildDocument(
            $one->title(),
            $this->documents->read($one->document(), CompositionDocument::class),
            $one->id(),
            $isWhole ? null : $one->version(),
            $one->note(),
            $one->photo(),
        );
    }
}
