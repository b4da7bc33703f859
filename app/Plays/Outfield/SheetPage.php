<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays\Outfield;

use FoxCorner\App\Club\Membership;
use FoxCorner\App\Plan\Address\PlayControls;
use FoxCorner\App\Plan\Address\SituationAddresses;
use FoxCorner\App\Plan\PlanReader;
use FoxCorner\App\Plan\RunTables;
use FoxCorner\App\Shared\Drawing\FieldDrawing;
use FoxCorner\App\Shared\Drawing\Window;
use FoxCorner\Core\Family\Outfield\OutfieldFamily;
use FoxCorner\Core\Play\Contract\PlayFamilies;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The balls that matter in a situation, drawn on one sheet to print and take along. */
final class SheetPage extends AbstractController
{
    public function __construct(
        private readonly PlanReader $plans,
        private readonly SituationAddresses $addresses,
        private readonly RunTables $tables,
        private readonly PlayControls $controls,
        private readonly PlayFamilies $families,
    ) {}

    #[
        Route(
            '/{team}/situations/{situation}/outfield/sheet',
            name: 'outfield_sheet',
            defaults: ['view' => 'outfield'],
            methods: ['GET'],
        ),
    ]
    public function show(Membership $membership, Request $request): Response
    {
        $address = $this->addresses->read($membership->team, $request);
        $read = $this->plans->read($membership->team, $address->situation, $address->context);
        $family = $this->families->get(OutfieldFamily::KEY);
        $play = $read->play($family, $address->coverage);
        $rules = $play->plan->state->rules;

        return $this->render('plays/outfield/sheet.html.twig', [
            'address' => $address,
            'read' => $read,
            'play' => $play,
            'drawing' => new FieldDrawing($rules, Window::wholeFieldWithBackUps($rules)),
            'choices' => $this->controls
                ->of($family)
                ->choices($address, $play, $this->tables->cost($membership->team, $address->context)),
        ]);
    }
}
