@php
    use Evrent\Core\Format\PlainText;
    [$in, $out] = $page->plan->move->easing->rampPhotos($page->plan->timing->photos);
@endphp
<x-part id="ramp" tag="p" class="quiet ramp" :swap="isset($swap)">{{ PlainText::photos($in) }} gather speed, {{ PlainText::photos($out) }} slow down.</x-part>
