<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Settings\SettingsDocument;
use App\Contract\Settings\Theme;
use App\Contract\Stored\Ability;
use App\Contract\Stored\StoredAs;
use App\Persistence\Entity\Settings;
use App\Persistence\Entity\Stored;
use Kontrast\Measure\Units;

/**
 * The angler's standing choices.
 *
 * @extends Kind<Settings, SettingsDocument>
 */
final readonly class SettingsKind extends Kind
{
    public const NAME = 'settings';

    public function __construct(private Documents $documents)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'settings',
            Settings::class,
            SettingsDocument::class,
            shape: new Shape(StoredAs::Settings, SettingsDocument::class),
            can: Ability::OF_ONE,
            place: Place::Backup,
            called: 'A setting',
        ));
    }

    public function default(): SettingsDocument
    {
        return new SettingsDocument(Units::Us, Theme::System);
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): Settings
    {
        $stored = $this->documents->stored($document, $this->shape());
        if (null === $known) {
            return new Settings($stored);
        }
        $known->replace($stored);

        return $known;
    }

    public function documentOf(Stored $one, bool $isWhole = false): SettingsDocument
    {
        return $this->documents->read($one->document(), SettingsDocument::class);
    }
}
