@php
    use Evrent\Core\Checks\CropCutsFraming;
    use Evrent\Core\Checks\EnlargedBeyondPixels;
@endphp
<x-part id="crop-told" tag="p" class="crop-told quiet">{{ CropCutsFraming::told($page->plan) }}
    {{ EnlargedBeyondPixels::told($page->plan) }}</x-part>
