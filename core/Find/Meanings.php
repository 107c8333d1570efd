<?php

/* Words that mean much the same to who keeps a notebook: a word list of the trade in general words. From memory. */

declare(strict_types=1);

namespace AmpleMargin\Find;

final class Meanings
{
    /** A line for each meaning; a word may be in several. */
    private const WORDS = <<<'WORDS'
        money cash budget spend spent pay paid cost price income expense salary wage earn bill bank card account finance purchase coin
        save saving savings aside fund jar hoard
        debt owe loan mortgage credit instalment
        buy bought shop shopping purchase order store
        feel feeling felt mood emotion temper happy sad anxious stress
        health ill illness sick unwell symptom pain ache headache migraine fever cold flu allergy
        medicine medication pill tablet dose
        body weight weigh slim lose fit fitness waist diet kilo muscle measurement
        run running jog gym sport exercise workout training marathon swim cycle
        sleep asleep slept bed night hour
        rest wellbeing relax care calm self
        habit routine daily practice practise streak discipline ritual drink smoke meditate stretch
        read reading book novel author library chapter literature
        film movie cinema series watch seen television episode show
        music song album record concert singer
        favourite best highlight top liked loved
        travel trip journey holiday vacation abroad tour visit city country flight
        gift present give giving christmas santa surprise
        birthday born anniversary
        date appointment event deadline meeting occasion
        calendar overview glance whole
        later future ahead upcoming next coming
        goal aim resolution dream ambition target achieve
        step milestone plan action how
        chore clean cleaning tidy housework household laundry dust sweep wash
        plant flower garden pot watering seed leaf balcony
        pet cat dog animal feed bird
        school lesson class study student timetable course teacher pupil
        term semester university exam test
        work job office shift overtime employer client colleague
        project undertaking
        idea thought mind brain inspiration head dump
        thank thankful gratitude grateful appreciate blessing
        quote quotation saying motto verse proverb affirmation
        review look back past last reflect retrospect
        letter write self message
        photo photograph picture image snapshot camera album
        pen ink colour color pencil marker crayon swatch
        key legend sign symbol bullet icon mark
        index content contents table find
        cover title front
        owner address belong lost found name
        wait lend lent borrow promise delegate parcel return
        wish want crave
        duty must tax renew renewal insurance inspection reminder remind obligation
        subscription subscribe subscriber membership service debit
        graph chart curve diagram progress
        box grid dot space divide count
        challenge thirty month
        envelope pocket ticket receipt glue
        tab register divider
        open unfinished undone leave left incomplete
        bucket lifetime adventure die older before once
        area life wheel balance
        question ask answer prompt
        word intention theme
        number statistic count figure
        week weekly
        quarter quarterly season three
        half six
        board stage column begun done doing
        shelf spine bookcase
        circle overlap venn share
        door flap flip
        bingo game square
        note blank free anything
        list hundred
        WORDS;

    /** @var array<string, list<int>>|null stem → meanings it is in */
    private static ?array $known = null;

    /** @return list<int> meanings a stem is in */
    public static function of(string $stem): array
    {
        if (null === self::$known) {
            self::$known = [];
            foreach (explode("\n", self::WORDS) as $meaning => $words) {
                foreach (array_unique(Stem::all($words)) as $one) {
                    self::$known[$one][] = $meaning;
                }
            }
        }

        return self::$known[$stem] ?? [];
    }
}
