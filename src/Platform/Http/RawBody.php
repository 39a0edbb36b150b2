<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Pindle\App\Platform\NotWritten;
use Pindle\App\Platform\Photograph;
use Symfony\Component\HttpFoundation\Request;

/** A body that is no JSON but a file, on a route that names its kind and how large it may be: `defaults: RawBody::ZIP`. */
final class RawBody
{
    public const ZIP = ['_takes' => 'application/zip', '_most' => 1024 * 1_048_576];
    public const JPEG = ['_takes' => 'image/jpeg', '_most' => Photograph::MOST_BYTES];
    public const CSV = ['_takes' => 'text/csv', '_most' => 1_048_576];

    private const PIECE = 65_536;

    /** @return array{string, int}|null content type and bytes; null where the route takes JSON */
    public static function wantedBy(Request $request): ?array
    {
        $takes = $request->attributes->get('_takes');

        return \is_string($takes) ? [$takes, $request->attributes->getInt('_most')] : null;
    }

    /**
     * Writes the body to a file, piece by piece.
     *
     * @throws Refusal    413 when it is larger than the route allows; then there is no file
     * @throws NotWritten when there is no room for it; then there is none either
     */
    public static function toFile(Request $request, string $path): void
    {
        $most = (self::wantedBy($request) ?? throw new \LogicException('This route takes JSON.'))[1];
        $to = @fopen($path, 'x') ?: throw NotWritten::at($path);
        $from = $request->getContent(true);
        $bytes = 0;
        try {
            while (!feof($from)) {
                $piece = (string) fread($from, self::PIECE);
                $bytes += \strlen($piece);
                if ($bytes > $most) {
                    throw Refusal::of(413, '', 'That is too large. Nothing was stored.');
                }
                if (\strlen($piece) !== @fwrite($to, $piece)) {
                    throw NotWritten::at($path);
                }
            }
        } catch (\Throwable $e) {
            unlink($path);
            throw $e;
        } finally {
            fclose($to);
        }
    }

    /**
     * The body, where it is small enough to be held.
     *
     * @throws Refusal 413 when it is larger than the route allows
     */
    public static function bytes(Request $request): string
    {
        $most = (self::wantedBy($request) ?? throw new \LogicException('This route takes JSON.'))[1];
        $bytes = (string) stream_get_contents($request->getContent(true), $most + 1);

        return \strlen($bytes) > $most ? throw Refusal::of(413, '', 'That is too large. Nothing was stored.') : $bytes;
    }
}
