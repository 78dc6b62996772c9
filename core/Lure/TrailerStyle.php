<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** The outline and swimming habit of a trailer. */
enum TrailerStyle: string
{
    use HasLabel;

    case Craw = 'craw';
    case Chunk = 'chunk';
    case PaddleTail = 'paddle_tail';
    case ForkTail = 'fork_tail';
    case TwinTailGrub = 'twin_tail_grub';
    case SingleTailGrub = 'single_tail_grub';
    case Ringworm = 'ringworm';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::SingleTailGrub->value => 'single-tail grub',
            self::TwinTailGrub->value => 'twin-tail grub',
            self::ForkTail->value => 'fork-tail minnow',
            self::PaddleTail->value => 'paddle-tail swimbait',
        ];
    }
}
