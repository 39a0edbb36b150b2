<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Shell;

use Pindle\App\Platform\Lock\Who;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

/** The one page that all rooms live in. */
final readonly class ShellController
{
    public function __construct(private Environment $twig, private BuiltFiles $built)
    {
    }

    #[Route('/{path}', name: 'shell', requirements: ['path' => '(?!api(/|$)|build/).*'], methods: ['GET'], priority: -100, defaults: Who::PUBLIC)]
    public function __invoke(): Response
    {
        return new Response($this->twig->render('shell.html.twig', ['entry' => $this->built->entry()]), 200, ['Cache-Control' => 'no-cache']);
    }
}
