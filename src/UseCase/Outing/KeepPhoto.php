<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Format\PhotoFile;
use App\Persistence\Entity\OutingEvent;
use App\Persistence\Repository\OutingEventRepository;
use App\Persistence\Transaction;

/** The picture beside an event. */
final readonly class KeepPhoto
{
    public function __construct(private OutingEventRepository $events, private Transaction $transaction)
    {
    }

    /** @throws NotFound */
    public function show(string $outing, string $event): string
    {
        return $this->event($outing, $event)->photo()?->jpeg() ?? throw NotFound::of('picture');
    }

    /**
     * @throws NotFound
     * @throws InvalidDocument where it is no readable JPEG
     */
    public function replace(string $outing, string $event, string $dataUrl): void
    {
        $jpeg = PhotoFile::ofDataUrl($dataUrl, 'photo');
        $this->transaction->run(function () use ($outing, $event, $jpeg): void {
            $this->event($outing, $event)->picture($jpeg);
        });
    }

    /** @throws NotFound */
    public function delete(string $outing, string $event): void
    {
        $this->transaction->run(function () use ($outing, $event): void {
            $this->event($outing, $event)->picture(null);
        });
    }

    /** @throws NotFound */
    private function event(string $outing, string $id): OutingEvent
    {
        $event = $this->events->find($id);

        return null === $event || $event->stint()->outing()->id() !== $outing ? throw NotFound::of('event') : $event;
    }
}
