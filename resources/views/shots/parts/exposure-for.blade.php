<div class="whole-move exposure-for panel">
    <x-given-edit :page="$page" edit="blur-share"><x-given name="share" label="Open for this share of the interval" unit="%" :width="4" /><button
        class="button">Expose so</button></x-given-edit>
    <x-given-edit :page="$page" edit="smear"><x-given name="pixels" label="The subject smears over" unit="px" :width="5" /><button
        class="button">Expose so</button></x-given-edit>
</div>
