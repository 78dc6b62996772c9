<?php

declare(strict_types=1);

namespace App\Contract\Reader;

/** A document with many fields that mostly say nothing: it is written without those, wherever it goes out of the store. */
interface Sparse
{
}
