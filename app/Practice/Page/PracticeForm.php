<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Page;

use FoxCorner\App\Practice\Book\PracticeDraft;
use FoxCorner\App\Shared\Form\OnceField;
use FoxCorner\App\Shared\Form\VersionField;
use FoxCorner\Core\People\Limit;
use FoxCorner\Core\People\RosterPlayer;
use FoxCorner\Core\Practice\Build\FieldPart;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\DateTimeType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\Extension\Core\Type\TextareaType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<PracticeDraft> */
final class PracticeForm extends AbstractType
{
    private const WHOLE = 'This is not a whole number. Allowed: ';

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        /** @var list<RosterPlayer> $roster */
        $roster = $options['roster'];
        $names = [];
        foreach ($roster as $player) {
            $names[
                $player->number .
                    ' ' .
                    $player->name .
                    (Limit::None === $player->limit ? '' : ' (' . lcfirst($player->limit->label()) . ')')
            ] = $player->id;
        }
        $builder
            ->add('startsAt', DateTimeType::class, [
                'label' => 'Day and time',
                'widget' => 'single_text',
                'input' => 'datetime_immutable',
                'required' => false,
                'invalid_message' => 'This is no day and time. Allowed: a day and a time, as in 2027-05-14 17:30.',
            ])
            ->add('minutes', IntegerType::class, [
                'label' => 'Minutes',
                'required' => false,
                'attr' => ['data-unit' => 'min'],
                'invalid_message' => self::WHOLE . '14 to 180 minutes.',
            ])
            ->add('place', TextType::class, ['label' => 'Place', 'required' => false])
            ->add('part', EnumType::class, [
                'label' => 'What we have of it',
                'class' => FieldPart::class,
                'choice_label' => static fn(FieldPart $part): string => $part->label(),
                'invalid_message' => 'This is no part of a field.',
            ])
            ->add('whoHelps', TextareaType::class, [
                'label' => 'Who helps',
                'required' => false,
                'help' => 'One a line; “, hits” behind those who hit a ball where they want.',
            ])
            ->add('comes', ChoiceType::class, [
                'label' => 'Who comes',
                'choices' => $names,
                'multiple' => true,
                'expanded' => true,
                'required' => false,
                'invalid_message' => 'Somebody of these is not on the roster any more.',
            ])
            ->add('noThrows', ChoiceType::class, self::limited('May not throw tonight', $roster))
            ->add('softThrows', ChoiceType::class, self::limited('Throw softly only tonight', $roster))
            ->add('counted', TextareaType::class, [
                'label' => 'Counted arms: a line each, number and throws left today',
                'required' => false,
                'attr' => ['rows' => 2, 'placeholder' => '21 Hale 25'],
            ])
            ->add('isWatched', CheckboxType::class, [
                'label' => 'A grown-up at every station',
                'required' => false,
            ])
            ->add('equipment', EquipmentForm::class, ['label' => 'From the shed'])
            ->add('allTheSame', CheckboxType::class, [
                'label' => 'All the same: something else has the field then, and it is meant',
                'required' => false,
            ])
            ->add('once', OnceField::class)
            ->add('version', VersionField::class);
        foreach (
            [
                'warmUp' => ['Warm-up', '5 to 20'],
                'core' => ['Daily core', '0 to 15'],
                'round' => ['A round of stations', '4 to 18'],
                'teamDefence' => ['Team defence, at least', '0 to 90'],
                'finish' => ['Finish', '0 to 15'],
            ] as $name => [$label, $allowed]
        ) {
            $builder->add($name, IntegerType::class, [
                'label' => $label,
                'required' => false,
                'attr' => ['data-unit' => 'min'],
                'invalid_message' => self::WHOLE . $allowed . ' minutes.',
            ]);
        }
        $builder->add('isHot', CheckboxType::class, [
            'label' => 'It is hot: water every 15 minutes',
            'required' => false,
        ]);
    }

    /**
     * A limit of this evening, for those who have none on the roster.
     *
     * @param list<RosterPlayer> $roster
     *
     * @return array<string, mixed>
     */
    private static function limited(string $label, array $roster): array
    {
        $names = [];
        foreach ($roster as $player) {
            if (Limit::None === $player->limit) {
                $names["$player->number $player->name"] = $player->id;
            }
        }

        return [
            'label' => $label,
            'choices' => $names,
            'multiple' => true,
            'expanded' => true,
            'required' => false,
            'invalid_message' => 'Somebody of these is not on the roster any more.',
        ];
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => PracticeDraft::class, 'roster' => []]);
    }
}
