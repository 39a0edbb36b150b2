<?php

declare(strict_types=1);

use Pindle\App\Platform\Kernel;
use Pindle\App\Platform\Lock\Who;
use Symfony\Bundle\FrameworkBundle\Routing\Router;
use Symfony\Component\Routing\RouteCollection;

/* Writes docs/routes.md: every route there is and who may use it, as the lock reads it. A test keeps the two equal. */

require_once dirname(__DIR__).'/vendor/autoload.php';

function routesPage(RouteCollection $routes): string
{
    $titles = [
        Who::Public->value => ['Public', 'Answered before a device is signed in. Everything else is locked.'],
        Who::Table->value => ['The table\'s', 'A device that was let in by a code, and the parent\'s.'],
        Who::Parent->value => ['The parent\'s', 'A device that gave the passphrase. A route that says nothing is here.'],
    ];
    $rows = [];
    foreach ($routes as $name => $route) {
        $rows[Who::of($route->getDefaults())->value][$route->getPath().' '.$name] = sprintf(
            "| %s | `%s` | `%s` | %s |\n",
            implode(', ', $route->getMethods()),
            $route->getPath(),
            $name,
            $route->getDefault('_takes') ?? '',
        );
    }
    $page = "# Who may use which route\n\nMade by `php tools/routes.php` from the routes themselves. "
        ."The lock goes by the route that was matched, never by how an address was spelt.\n";
    foreach ($titles as $who => [$title, $said]) {
        $these = $rows[$who] ?? [];
        ksort($these);
        $page .= sprintf("\n## %s (%d)\n\n%s\n\n| method | address | name | a body other than JSON |\n|---|---|---|---|\n", $title, count($these), $said)
            .implode('', $these);
    }

    return $page;
}

if (__FILE__ === realpath((string) $_SERVER['SCRIPT_FILENAME'])) {
    (new Symfony\Component\Dotenv\Dotenv())->bootEnv(dirname(__DIR__).'/.env', 'prod');
    $kernel = new Kernel('prod', false);
    $kernel->boot();
    $router = $kernel->getContainer()->get('router');
    assert($router instanceof Router);
    file_put_contents(dirname(__DIR__).'/docs/routes.md', routesPage($router->getRouteCollection()));
}
