<?php

declare(strict_types=1);

use Pindle\App\Platform\Kernel;
use Symfony\Component\Dotenv\Dotenv;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__).'/vendor/autoload.php';

// Deprecation notices of libraries belong in nobody's answer.
error_reporting(\E_ALL & ~\E_DEPRECATED & ~\E_USER_DEPRECATED);
(new Dotenv())->bootEnv(dirname(__DIR__).'/.env', 'prod');

$kernel = new Kernel((string) $_SERVER['APP_ENV'], false);
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
