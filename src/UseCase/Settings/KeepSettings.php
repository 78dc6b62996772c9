<?php

declare(strict_types=1);

namespace App\UseCase\Settings;

use App\Contract\Error\InvalidDocument;
use App\Contract\Error\StaleDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Contract\Settings\SettingsDocument;
use App\Contract\Settings\Theme;
use App\Contract\Settings\Units;
use App\Persistence\Entity\Settings;
use App\Persistence\Repository\SettingsRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\SetAsideUnreadable;
use App\UseCase\VersionCheck;

/** The angler's standing choices: what they are, and what they become. */
final readonly class KeepSettings
{
    public function __construct(
        private SettingsRepository $settings,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
        private DocumentReader $reader,
        private SetAsideUnreadable $setAside,
    ) {
    }

    /** The defaults, as version 0, where nothing was chosen yet. */
    public function show(): Kept
    {
        $settings = $this->settings->current();

        return null === $settings
            ? new Kept(Settings::ONLY, 0, $this->documents->toStored(new SettingsDocument(Units::Us, Theme::System)))
            : self::kept($settings);
    }

    /** @throws InvalidDocument */
    public function current(): SettingsDocument
    {
        return $this->reader->trusted($this->show()->document, SettingsDocument::class);
    }

    /**
     * @param int|null $version the one that was read; null to write whatever is there
     *
     * @throws StaleDocument where they were changed since
     */
    public function replace(SettingsDocument $document, ?int $version = null): Kept
    {
        return self::kept($this->transaction->run(function () use ($document, $version): Settings {
            $choices = $this->documents->toStored($document);
            $settings = $this->settings->findAny(Settings::ONLY);
            if (null === $settings) {
                $settings = new Settings($choices);
                $this->settings->add($settings);

                return $settings;
            }
            if (!$this->setAside->ifUnreadable($settings)) {
                VersionCheck::expect($version, self::kept($settings), 'A setting');
            }
            $settings->replace($choices);

            return $settings;
        }));
    }

    private static function kept(Settings $settings): Kept
    {
        return new Kept($settings->id(), $settings->version(), $settings->document()->data());
    }
}
