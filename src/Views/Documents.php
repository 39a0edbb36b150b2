<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\InkFile;
use Pindle\App\Platform\Face;
use Pindle\App\Platform\Pdf;
use Pindle\App\Platform\PhotographFolder;
use Pindle\Core\Printable\Paper;
use Symfony\Component\HttpFoundation\Response;
use Twig\Environment;

/** Pages of words to print, each from a template in templates/paper: one page, its letters as large as fits, or as many as it takes. */
final readonly class Documents
{
    public function __construct(
        private Environment $twig,
        private InkFile $inks,
        private Face $face,
        private PhotographFolder $photographs,
        private string $cacheDir,
    ) {
    }

    /**
     * As many pages as it takes.
     *
     * @param array<string, mixed> $values of the template
     */
    public function pages(string $template, array $values, Paper $paper): Response
    {
        [$wide, $high] = $paper->size(false);
        $pdf = new Pdf($this->inks->colours(), $this->face, $this->cacheDir, $this->photographs->path);

        return self::response($template, $pdf->pages($this->twig->render('paper/'.$template.'.html.twig', $values), $wide, $high));
    }

    /**
     * One page.
     *
     * @param array<string, mixed> $values of the template
     */
    public function pdf(string $template, array $values, Paper $paper): Response
    {
        [$wide, $high] = $paper->size(false);
        $pdf = new Pdf($this->inks->colours(), $this->face, $this->cacheDir, $this->photographs->path);

        return self::response($template, $pdf->document($this->twig->render('paper/'.$template.'.html.twig', $values), $wide, $high));
    }

    private static function response(string $template, string $pdf): Response
    {
        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => \sprintf('inline; filename="pindle-%s.pdf"', $template),
        ]);
    }
}
