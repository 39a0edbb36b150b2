<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

use Pindle\App\Platform\Jobs\SaidToParent;

/** A file that is no safe copy of Pindle, or one that cannot be used. The message is for the parent. */
final class BadCopy extends \RuntimeException implements SaidToParent
{
    public static function notOurs(): self
    {
        return new self('This is no safe copy of Pindle: it is not a zip with a household in it. Nothing was changed.');
    }

    public static function damaged(): self
    {
        return new self('This safe copy is damaged: what is in it is not what was put in. Nothing was changed; try another copy.');
    }

    public static function withoutPhotographs(): self
    {
        return new self('The photographs of this safe copy are not beside it: a copy is carried elsewhere by the House room or by ./pindle backup FILE,'
            .' which put them in. Nothing was changed.');
    }

    public static function newer(string $release): self
    {
        return new self(\sprintf('This safe copy was made by a newer Pindle (%s). Renew Pindle first. Nothing was changed.', $release));
    }
}
