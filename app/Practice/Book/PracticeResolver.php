<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Book;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Club\MembershipResolver;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * Gives a page of a practice the practice, from its id in the address. The membership is the argument before it.
 *
 * Another team's practice answers as one that does not exist.
 */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => self::BEFORE_THE_TEXT_OF_THE_ADDRESS])]
final readonly class PracticeResolver implements ValueResolverInterface
{
    /** The framework would give the id as it stands in the address, with priority 100. */
    private const BEFORE_THE_TEXT_OF_THE_ADDRESS = 150;

    public function __construct(private PracticeRepository $practices) {}

    /** @return list<Practice|null> null only where the page can do without */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        $membership = $request->attributes->get(MembershipResolver::MINE);
        if (Practice::class !== $argument->getType() || !($membership instanceof Membership)) {
            return [];
        }

        $found = $this->practices->inTeam($membership->team, $request->attributes->getString('practice'));
        if (null === $found && !$argument->isNullable()) {
            throw new NotFoundHttpException('There is no such practice.');
        }

        return [$found];
    }
}
