{{-- On a phone, what a thumb needs stays in reach. --}}
<nav class="thumb" aria-label="At hand">
    <button type="button" class="button is-quiet" @click="step(-1)"><x-icon name="chevron-left" /><span class="sr-only">Photo before</span></button>
    <span class="thumb-photo">photo <b x-text="$store.run.photo">–</b></span>
    <button type="button" class="button is-quiet" @click="step(1)"><x-icon name="chevron-right" /><span class="sr-only">Photo after</span></button>
    <a class="button is-quiet" href="#jog"><x-icon name="gamepad-2" /><span class="text">Jog</span></a>
    <a class="button is-quiet" href="#findings"><x-icon name="list-checks" /><span class="text">Findings</span></a>
    <button type="button" class="button is-strong" @click="pressDryRun()"><x-icon name="play" /><span class="text">Run</span></button>
</nav>
