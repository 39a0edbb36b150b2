<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Pindle\App\Platform\Jobs\SaidToParent;

/** A file that cannot be brought in: where, and why. Nothing was written. The message is for the parent. */
final class NotImportable extends \RuntimeException implements SaidToParent
{
    private const NOTHING = ' Nothing was written.';

    public static function noHousehold(): self
    {
        return new self('This is no household of Pindle: it is not a zip with household.json in it.'.self::NOTHING);
    }

    public static function newer(int $format): self
    {
        return new self(\sprintf('This file was made by a newer Pindle (its format is %d; this one reads up to %d).', $format, Format::VERSION).self::NOTHING);
    }

    public static function stranger(): self
    {
        return new self('None of the children in this file is here. Bring a household into an empty house, or join what was seen of children already here.'
            .self::NOTHING);
    }

    /** Of a file inside. */
    public static function in(string $file, string $why): self
    {
        return new self(\sprintf('%s: %s.', self::shown($file), $why).self::NOTHING);
    }

    /** Of a place in a file inside. */
    public static function at(string $file, ?int $line, string $field, string $why): self
    {
        $place = self::shown($file).(null === $line ? '' : ', line '.$line).('' === $field ? '' : ', '.self::shown($field));

        return new self(\sprintf('%s %s.', $place, $why).self::NOTHING);
    }

    /** A name out of the file may be anything. */
    private static function shown(string $name): string
    {
        return mb_strimwidth((string) preg_replace('/[^\PC]/u', '?', mb_scrub($name, 'UTF-8')), 0, 80, '…');
    }
}
