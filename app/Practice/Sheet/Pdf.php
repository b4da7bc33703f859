<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Sheet;

use Dompdf\Dompdf;
use Dompdf\Options;
use FoxCorner\App\Shared\Taste\Taste;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** A page of HTML as a PDF, on the reader's paper. */
final readonly class Pdf
{
    public function __construct(
        #[Autowire('%kernel.project_dir%')] private string $root,
        #[Autowire('%kernel.cache_dir%')] private string $cache,
        private Taste $taste,
    ) {}

    public function of(string $html): string
    {
        // The library keeps what it computes of a font beside the font; here that is the cache.
        $fonts = $this->cache . '/fonts';
        is_dir($fonts) || mkdir($fonts, 0o777, true) || is_dir($fonts);
        $pdf = new Dompdf(
            new Options([
                'isRemoteEnabled' => false,
                'chroot' => [$this->root . '/assets'],
                'fontDir' => $fonts,
                'fontCache' => $fonts,
                'defaultFont' => 'DejaVu Sans',
            ]),
        );
        $pdf->loadHtml($html);
        $pdf->setPaper($this->taste->of('paper'));
        $pdf->render();

        return $pdf->output();
    }
}
