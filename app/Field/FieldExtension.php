<?php

declare(strict_types=1);

namespace FoxCorner\App\Field;

use FoxCorner\Core\Alignment\Landmark;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

final class FieldExtension extends AbstractExtension
{
    public function getFunctions(): array
    {
        return [
            new TwigFunction('path_of', PlayPicture::path(...)),
            new TwigFunction('roll_of', PlayPicture::roll(...)),
            new TwigFunction('throw_of', PlayPicture::throw(...)),
            new TwigFunction('landmark', Landmark::of(...)),
            new TwigFunction('range_of', RangePicture::stretches(...)),
        ];
    }
}
