<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\InkFile;
use Pindle\App\Platform\Face;
use Pindle\App\Platform\Pdf;
use Pindle\Core\Printable\Paper;
use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

/** Pages of words to print, each from a template in templates/paper: one page, its letters as large as fits. */
final readonly class Documents
{
    public function __construct(private Environment $twig, private InkFile $inks, private Face $face, private string $cacheDir)
    {
    }

    /** @param array<string, mixed> $values of the template */
    public function pdf(string $template, array $values, Paper $paper): Response
    {
        [$wide, $high] = $paper->size(false);
        $pdf = new Pdf($this->inks->colours(), $this->face, $this->cacheDir);

        return new Response($pdf->document($this->twig->render('paper/'.$template.'.html.twig', $values), $wide, $high), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => \sprintf('inline; filename="pindle-%s.pdf"', $template),
        ]);
    }
}
