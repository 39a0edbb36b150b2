<script setup lang="ts">
import type { Schemas } from '@/api/client';

import Balance from './Balance.vue';
import Beads from './Beads.vue';
import Bond from './Bond.vue';
import Countdown from './Countdown.vue';
import Cup from './Cup.vue';
import Dice from './Dice.vue';
import Frame from './Frame.vue';
import Line from './Line.vue';
import Sign from './Sign.vue';
import Spinner from './Spinner.vue';
import Stairs from './Stairs.vue';

/** A thing on the screen in the place of one that is not at hand. It is played with by touch, mouse or keys, and tells nobody. */
defineProps<{ standIn: Schemas['StandInView']; thing: string | null }>();
const kinds = {
    dice: Dice,
    frame: Frame,
    line: Line,
    balance: Balance,
    spinner: Spinner,
    cup: Cup,
    beads: Beads,
    bond: Bond,
    sign: Sign,
    stairs: Stairs,
    countdown: Countdown,
};
</script>

<template>
    <!-- The keys pressed in it are its own: no key of the room acts. -->
    <div class="w-full" data-own-keys :data-stand-in-shown="standIn.kind">
        <component :is="kinds[standIn.kind]" :set="standIn" :thing="thing" />
    </div>
</template>
