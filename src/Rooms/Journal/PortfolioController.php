<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\Unchanged;
use Pindle\App\Platform\Csv;
use Pindle\App\Platform\NotWritten;
use Pindle\App\Record\Photographs;
use Pindle\App\Views\Documents;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\ResponseHeaderBag;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

/** Days, photographs and pages of one's own, to show and to keep. */
#[Route('/api/journal')]
#[OA\Tag('Journal')]
final readonly class PortfolioController
{
    public function __construct(
        private Portfolio $portfolio,
        private PortfolioPages $pages,
        private Photographs $photographs,
        private Documents $documents,
        private Environment $twig,
        private string $dataDir,
    ) {
    }

    #[Route('/portfolio', name: 'journal_portfolio', methods: ['GET'], defaults: Unchanged::ALL)]
    #[OA\Response(response: 200, description: 'What there is to choose from', content: new OA\JsonContent(ref: new Model(type: PortfolioView::class)))]
    public function look(#[MapQueryString] PortfolioQuery $query): JsonResponse
    {
        return new JsonResponse($this->portfolio->all($query));
    }

    #[Route('/portfolio.pdf', name: 'journal_portfolio_pdf', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'One part of the portfolio, to print', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    public function pdf(#[MapQueryString] PortfolioQuery $query): Response
    {
        $part = $this->portfolio->part($this->portfolio->chosen($query), $query->part);

        return $this->documents->pages('portfolio', [
            'portfolio' => $part,
            'part' => $query->part,
            'names' => array_column($part->children, 'name', 'id'),
            'sources' => $this->files($part),
        ], $query->paper);
    }

    #[Route('/portfolio.zip', name: 'journal_portfolio_zip', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'A folder of plain files', content: new OA\MediaType(mediaType: 'application/zip'))]
    public function zip(#[MapQueryString] PortfolioQuery $query): BinaryFileResponse
    {
        $all = $this->portfolio->chosen($query);
        $file = $this->dataDir.'/.portfolio-'.bin2hex(random_bytes(6)).'.zip';
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::CREATE)) {
            throw NotWritten::at($file);
        }
        $sources = $rows = [];
        foreach ($all->days as $day) {
            foreach ($day->photographs as $number => $photograph) {
                $kept = $this->photographs->find($photograph->id);
                $from = null === $kept ? null : $this->photographs->file($kept);
                if (null !== $from) {
                    $sources[$photograph->id] = \sprintf('photographs/%s-%02d.jpg', $day->date, $number + 1);
                    $zip->addFile($from, $sources[$photograph->id]);
                    $zip->setCompressionName($sources[$photograph->id], \ZipArchive::CM_STORE);
                }
            }
        }
        $names = array_column($all->children, 'name', 'id');
        foreach ($all->days as $day) {
            foreach ($day->setUps as $setUp) {
                foreach ($setUp->children as $child) {
                    $rows[] = [$day->date, $names[$child->childId] ?? '', $setUp->name, implode('; ', $child->steps), $setUp->minutes, $setUp->note];
                }
            }
        }
        $zip->addFromString('index.html', $this->twig->render('portfolio.html.twig', [
            'portfolio' => $all,
            'part' => 1,
            'names' => $names,
            'sources' => $sources,
        ]));
        $zip->addFromString('days.csv', implode('', iterator_to_array(Csv::pieces(['day', 'child', 'activity', 'steps', 'minutes (min)', 'note'], $rows))));
        if (!@$zip->close()) {
            throw NotWritten::at($file);
        }

        return (new BinaryFileResponse($file, 200, ['Content-Type' => 'application/zip'], false))->deleteFileAfterSend()
            ->setContentDisposition(ResponseHeaderBag::DISPOSITION_ATTACHMENT, \sprintf('pindle-portfolio-%s.zip', $all->from));
    }

    #[Route('/pages', name: 'journal_page_add', methods: ['POST'])]
    #[OA\Response(response: 201, description: 'The page', content: new OA\JsonContent(ref: new Model(type: PageView::class)))]
    public function add(#[MapRequestPayload] PageInput $input): JsonResponse
    {
        return new JsonResponse(PageView::of($this->pages->keep(null, $input)), 201);
    }

    #[Route('/pages/{id}', name: 'journal_page_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The page', content: new OA\JsonContent(ref: new Model(type: PageView::class)))]
    public function change(string $id, #[MapRequestPayload] PageInput $input): JsonResponse
    {
        return new JsonResponse(PageView::of($this->pages->keep($id, $input)));
    }

    #[Route('/pages/{id}', name: 'journal_page_remove', methods: ['DELETE'])]
    #[OA\Response(response: 204, description: 'It is gone')]
    public function remove(string $id): JsonResponse
    {
        $this->pages->remove($id);

        return new JsonResponse(null, 204);
    }

    /** @return array<string, string> photograph id => where it lies */
    private function files(PortfolioView $part): array
    {
        $sources = [];
        foreach ($part->days as $day) {
            foreach ($day->photographs as $photograph) {
                $kept = $this->photographs->find($photograph->id);
                $sources[$photograph->id] = null === $kept ? null : $this->photographs->file($kept);
            }
        }

        return array_filter($sources);
    }
}
