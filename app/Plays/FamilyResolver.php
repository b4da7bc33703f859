<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\Core\Play\Contract\PlayFamilies;
use FoxCorner\Core\Play\Contract\PlayFamily;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

/** Gives a page the family of plays that its address names; asked before the resolver that would give the bare text. */
#[AutoconfigureTag('controller.argument_value_resolver', ['priority' => 150])]
final readonly class FamilyResolver implements ValueResolverInterface
{
    public function __construct(private PlayFamilies $families) {}

    /**
     * @return list<PlayFamily>
     *
     * @throws Problem when there is no such family
     */
    public function resolve(Request $request, ArgumentMetadata $argument): array
    {
        return PlayFamily::class === $argument->getType()
            ? [$this->families->get($request->attributes->getString('view'))]
            : [];
    }
}
