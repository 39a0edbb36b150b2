<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

/** What is kept as JSON without one id: what stands under it as a key, what is it, and what says of itself that it is about it. */
final class Without
{
    /** Under these an entry says who it is about. */
    private const ABOUT = ['child', 'childId'];

    public static function id(string $json, string $id): string
    {
        $all = json_decode($json, false, 512, \JSON_THROW_ON_ERROR);

        return str_contains($json, $id) ? json_encode(self::of($all, $id), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION) : $json;
    }

    private static function of(mixed $value, string $id): mixed
    {
        if ($value instanceof \stdClass) {
            unset($value->{$id});
            foreach (get_object_vars($value) as $key => $one) {
                $value->{$key} = self::of($one, $id);
            }

            return $value;
        }

        return \is_array($value) ? array_values(array_map(
            static fn (mixed $one): mixed => self::of($one, $id),
            array_filter($value, static fn (mixed $one): bool => !self::isAbout($one, $id)),
        )) : $value;
    }

    private static function isAbout(mixed $one, string $id): bool
    {
        if (!$one instanceof \stdClass) {
            return $one === $id;
        }

        return [] !== array_filter(self::ABOUT, static fn (string $key): bool => $id === ($one->{$key} ?? null));
    }
}
