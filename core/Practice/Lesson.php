<?php

declare(strict_types=1);

namespace Kontrast\Practice;

/** What is practised. */
enum Lesson: string
{
    /** What to tie in a water. */
    case Tie = 'tie';
    /** Which of two lures is seen from farther, or whether two parts read as one. */
    case Seeing = 'seeing';
    /** How far one sees in a water. */
    case Visibility = 'visibility';
    /** What is wrong in a lure or a day. */
    case Mistake = 'mistake';
}
