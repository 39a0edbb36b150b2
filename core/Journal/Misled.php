<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

/** What a pot of other things looked like, beside how the child guesses as a rule. */
enum Misled: string
{
    case Nothing = 'nothing';
    /** Big things looked like more than there were. */
    case FewBig = 'few-big';
    /** Small things looked like fewer than there were. */
    case ManySmall = 'many-small';
}
