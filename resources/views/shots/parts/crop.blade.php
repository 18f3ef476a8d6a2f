@php use Evrent\Core\Checks\CropCutsFraming; @endphp
<x-part id="crop-told" tag="p" class="crop-told quiet">{{ CropCutsFraming::told($page->plan) }}</x-part>
