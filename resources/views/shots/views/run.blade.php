@include('shots.parts.rehearsal')
