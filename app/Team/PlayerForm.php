<?php

declare(strict_types=1);

namespace FoxCorner\App\Team;

use FoxCorner\App\Shared\Form\MeasureType;
use FoxCorner\App\Shared\Form\VersionField;
use FoxCorner\Core\People\Bats;
use FoxCorner\Core\People\Hand;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\PitcherFielding;
use FoxCorner\Core\People\Pitching;
use FoxCorner\Core\People\Quantity;
use FoxCorner\Core\People\Traits;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<PlayerDraft> */
final class PlayerForm extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('name', TextType::class, [
                'label' => 'Name, as called on the field',
                'required' => false,
                'attr' => ['autocomplete' => 'off'],
            ])
            ->add('number', TextType::class, [
                'label' => 'Shirt number',
                'required' => false,
                'attr' => ['inputmode' => 'numeric', 'autocomplete' => 'off'],
            ])
            ->add('positions', TextType::class, [
                'label' => 'Positions, the best first',
                'required' => false,
                'help' => 'Numbers 1 to 9, as in 6 4',
                'attr' => ['inputmode' => 'numeric'],
            ])
            ->add('throws', EnumType::class, [
                'label' => 'Throws',
                'class' => Hand::class,
                'empty_data' => Hand::Right->value,
                'choice_label' => static fn(Hand $hand): string => ucfirst($hand->label()),
            ])
            ->add('bats', EnumType::class, [
                'label' => 'Bats',
                'class' => Bats::class,
                'empty_data' => Bats::Right->value,
                'choice_label' => static fn(Bats $bats): string => ucfirst($bats->label()),
            ]);
        foreach (Quantity::cases() as $quantity) {
            $builder->add($quantity->stored(), MeasureType::class, self::measured($quantity));
        }
        $builder
            ->add('pitching', EnumType::class, [
                'label' => 'Pitcher: the ball goes',
                'class' => Pitching::class,
                'empty_data' => Pitching::Ordinary->value,
                'choice_label' => static fn(Pitching $pitching): string => match ($pitching) {
                    Pitching::Ordinary => 'Where it mostly should',
                    Pitching::HitsSpots => 'Where it is wanted: hits spots',
                    Pitching::Wild => 'Anywhere: wild',
                },
            ])
            ->add('fielding', EnumType::class, [
                'label' => 'Pitcher: as a fielder',
                'class' => PitcherFielding::class,
                'empty_data' => PitcherFielding::Ordinary->value,
                'choice_label' => static fn(PitcherFielding $fielding): string => $fielding->label(),
            ])
            ->add('limit', EnumType::class, [
                'label' => 'Limit',
                'class' => Limit::class,
                'empty_data' => Limit::None->value,
                'choice_label' => static fn(Limit $limit): string => $limit->label(),
            ])
            ->add('limitUntil', DateType::class, [
                'label' => 'Limit: last day',
                'required' => false,
                'widget' => 'single_text',
                'input' => 'datetime_immutable',
                'help' => 'Empty: until it is lifted',
                'invalid_message' => 'This is not a date. Allowed: year-month-day, or nothing.',
            ])
            ->add('version', VersionField::class);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => PlayerDraft::class]);
    }

    /** @return array<string, mixed> */
    private static function measured(Quantity $quantity): array
    {
        return [
            'label' => $quantity->label(),
            'help' => match ($quantity) {
                Quantity::HomeToFirst => 'Seconds from contact; empty: the level’s own time',
                Quantity::Arm => 'Empty: the level’s own',
                Quantity::Pace => \sprintf('Empty: %g ft', Traits::ORDINARY_PACE),
                Quantity::Exchange => 'Seconds from glove to release; a catcher’s on a steal. Empty: the level’s own',
                Quantity::TimeToPlate => 'A pitcher’s seconds to the catcher’s glove. Empty: the level’s own',
            },
            'property_path' => "measured[$quantity->value]",
            'unit' => $quantity->unit(),
        ];
    }
}
