<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan;

use FoxCorner\App\Plan\Codec\Fingerprint;
use FoxCorner\Core\Alignment\Said;
use FoxCorner\Core\Plan\Check\ShippedChecks;
use Twig\Extension\AbstractExtension;
use Twig\TwigFunction;

final class PlanExtension extends AbstractExtension
{
    public function __construct(private readonly PlanDrafts $drafts) {}

    public function getFunctions(): array
    {
        return [
            new TwigFunction('plan_steps', $this->drafts->steps(...)),
            new TwigFunction('mark_of', Fingerprint::of(...)),
            new TwigFunction('stands_wrong', ShippedChecks::findings(...)),
            new TwigFunction('said_by', Said::in(...)),
        ];
    }
}
