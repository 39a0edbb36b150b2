<?php

declare(strict_types=1);

/*
 * For PHP's own server: it sends no gzip and no cache headers for files, so the built files are answered here.
 * Behind nginx or another server this file is not used.
 */

$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], \PHP_URL_PATH));
// An address with a nought in it is no file's; the house says so.
$file = str_contains($path, "\0") ? false : realpath(__DIR__.$path);
$types = [
    'css' => 'text/css; charset=utf-8', 'js' => 'text/javascript; charset=utf-8', 'json' => 'application/json', 'svg' => 'image/svg+xml',
    'woff2' => 'font/woff2', 'woff' => 'font/woff', 'png' => 'image/png', 'ico' => 'image/x-icon', 'txt' => 'text/plain; charset=utf-8',
];
$type = $types[pathinfo($path, \PATHINFO_EXTENSION)] ?? null;

if (false !== $file && null !== $type && is_file($file) && str_starts_with($file, __DIR__.'/')) {
    $etag = '"'.md5($file.filemtime($file)).'"';
    header('Content-Type: '.$type);
    header('X-Content-Type-Options: nosniff');
    header_remove('X-Powered-By');
    header('ETag: '.$etag);
    header('Cache-Control: '.(str_contains($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $etag) {
        http_response_code(304);

        return true;
    }
    if (is_file($file.'.gz') && str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip')) {
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding');
        $file .= '.gz';
    }
    header('Content-Length: '.filesize($file));
    readfile($file);

    return true;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';
require __DIR__.'/index.php';
