@extends('errors.minimal')
@section('title', __('errors.405.title'))
@section('message', __('errors.405.says'))
